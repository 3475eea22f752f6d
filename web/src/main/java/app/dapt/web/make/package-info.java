/**
 * Making a cover or the covers of a set: the order of work, one step large, what is done of it by whichever device.
 * Start with {@code MakeController}; a {@code Batch} is what is made together.
 */
package app.dapt.web.make;
