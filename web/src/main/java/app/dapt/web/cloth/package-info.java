/**
 * Cloth for a cover or a set: the layout at the table, remnants and their pictures, prints, and searches that go on in
 * the background ({@code Searches}). Start with {@code ClothController}.
 */
package app.dapt.web.cloth;
