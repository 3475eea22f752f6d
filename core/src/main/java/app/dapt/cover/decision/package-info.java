/**
 * What all kinds of decision share.
 *
 * <p>A decision is {@link app.dapt.cover.decision.Detailed} of one {@link app.dapt.cover.decision.Kind}: it asks
 * {@link app.dapt.cover.decision.Question}s, and slips and files are made from the answers. Kinds propose
 * {@link app.dapt.cover.decision.Concern}s, whose remedies change their own decision and nothing else.
 *
 * <p>Start at {@code Question}. Uses {@code measure}, {@code piece}, {@code filling}, {@code form}, {@code fit} and
 * {@code cloth}; never the plan and no single kind.
 */
@NullMarked
package app.dapt.cover.decision;

import org.jspecify.annotations.NullMarked;
