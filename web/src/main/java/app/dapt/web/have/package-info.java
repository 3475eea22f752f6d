/**
 * From the other end: from pieces already cut to the cover they make. Start with {@code HaveController}.
 */
package app.dapt.web.have;
