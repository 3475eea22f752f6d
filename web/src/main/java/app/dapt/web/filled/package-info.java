/** Covers with their form in: solved in the background, shown as drawings and figures. */
package app.dapt.web.filled;
