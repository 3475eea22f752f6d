/**
 * What follows from three facts: what a cover is for, how its cloth behaves, and which tools there are. A closed table
 * of rules; what it recommends is never decided here.
 */
@NullMarked
package app.dapt.advice;

import org.jspecify.annotations.NullMarked;
