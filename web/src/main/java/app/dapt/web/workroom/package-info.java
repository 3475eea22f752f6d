/**
 * Covers, sets, layouts and pictures kept in PostgreSQL through MyBatis. A change locks its row first and reads after;
 * what would not read back is not kept; a change made from an old page is refused as {@code Stale} and shown, never
 * lost.
 *
 * <p>Start with {@code CoverStore}; tables are in {@code src/main/resources/db/migration}.
 */
package app.dapt.web.workroom;
