/**
 * The application's own beginnings: how it starts ({@code Dapt}, {@code WebConfig}) and what every page's frame needs.
 *
 * <p>What comes in passes {@code door}; {@code entry} reads what is typed, {@code mishap} says what went wrong,
 * {@code wording} says it in the reader's words. Each view has a package of its own; views use the core,
 * {@code app.dapt.files}, {@code progress} and the stores in {@code workroom}, never one another.
 */
@NullMarked
package app.dapt.web;

import org.jspecify.annotations.NullMarked;
