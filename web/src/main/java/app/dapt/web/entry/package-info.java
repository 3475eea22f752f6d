/**
 * What people type and send: read, cleaned, refused beside its field, and kept where the page has fallen behind.
 */
@NullMarked
package app.dapt.web.entry;

import org.jspecify.annotations.NullMarked;
