/** When everything is made: one plan of sittings for all that is in work. Start at {@code WorkPlan}. */
@NullMarked
package app.dapt.web.calendar;

import org.jspecify.annotations.NullMarked;
