/** The log as JSON and as the tables people have, and sittings as a calendar. */
@NullMarked
package app.dapt.files.log;

import org.jspecify.annotations.NullMarked;
