/**
 * The application's front door: who may come in ({@code Doors}), what is typed made clean ({@code CleanText}), refusals
 * and failures a person can act on ({@code Mishaps}, {@code Conflict}), and the reader's unit and tape.
 *
 * <p>Each view has a package of its own below; views use the core, {@code app.dapt.files} and the stores in
 * {@code workroom}, never one another.
 */
package app.dapt.web;
