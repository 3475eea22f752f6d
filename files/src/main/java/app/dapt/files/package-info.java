/**
 * Open formats in and out: plan files as JSON with a schema, reckoned figures as JSON, drawings as SVG, PDF and DXF,
 * and the commands that work without the application running. What is written is read back before it is kept ({@link
 * app.dapt.files.PlanJson}).
 *
 * <p>Uses the core and {@code app.dapt.words}. Formats are described in {@code docs/plan-format.md}.
 */
@NullMarked
package app.dapt.files;

import org.jspecify.annotations.NullMarked;
