/**
 * What all kinds of decision share.
 *
 * <p>A decision is {@link app.dapt.cover.decision.Detailed} of one {@link app.dapt.cover.decision.Kind}: it lists its
 * {@link app.dapt.cover.decision.Detail}s, from which slips and files are made. Kinds reckon from the settled
 * {@link app.dapt.cover.decision.CoverDimensions}, describe a {@link app.dapt.cover.decision.Back}, and propose
 * {@link app.dapt.cover.decision.Concern}s, whose remedies change their own decision and nothing else.
 *
 * <p>Start at {@code CoverDimensions}. Uses {@code measure}, {@code piece}, {@code filling}, {@code form}, {@code fit}
 * and {@code cloth}; never the plan and no single kind.
 */
@NullMarked
package app.dapt.cover.decision;

import org.jspecify.annotations.NullMarked;
