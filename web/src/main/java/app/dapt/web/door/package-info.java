/** What every request comes through before anything reads it, and every answer on its way out. */
@NullMarked
package app.dapt.web.door;

import org.jspecify.annotations.NullMarked;
