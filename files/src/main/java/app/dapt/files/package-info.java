/**
 * Open formats in and out: plan files as JSON with a schema, reckoned figures as JSON, drawings as SVG, PDF and DXF,
 * and the commands that work without the application running. What is written is read back before it is kept.
 *
 * <p>One package for each thing that leaves: {@code plan}, {@code drawing}, {@code template}, {@code cloth},
 * {@code log}, {@code archive}; {@code paper} is what they are printed on, {@code command} what calls them. Here is
 * what all reading shares.
 *
 * <p>Uses the core and {@code app.dapt.words}. Formats are described in {@code docs/plan-format.md}.
 */
@NullMarked
package app.dapt.files;

import org.jspecify.annotations.NullMarked;
