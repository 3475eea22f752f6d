/**
 * One cover: its brief, its slips of decisions, its drawings, cut list and templates. Start with {@code
 * PlanController}.
 */
package app.dapt.web.plan;
