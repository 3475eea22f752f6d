/**
 * The list of covers: starting one, finding one, opening a plan file. Start with {@code CoversController}.
 */
package app.dapt.web.covers;
