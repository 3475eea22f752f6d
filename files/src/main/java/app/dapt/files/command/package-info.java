/** Commands that work without the application running. */
@NullMarked
package app.dapt.files.command;

import org.jspecify.annotations.NullMarked;
