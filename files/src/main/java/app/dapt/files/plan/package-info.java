/** Plans as JSON with a schema, earlier ones too, and the figures they come to. */
@NullMarked
package app.dapt.files.plan;

import org.jspecify.annotations.NullMarked;
