/**
 * A cover: what was decided ({@link app.dapt.cover.CoverPlan}), and what follows from it
 * ({@link app.dapt.cover.Reckoned}: pieces, sums, needs, findings), reckoned by {@link app.dapt.cover.Reckoner}.
 *
 * <p>{@link app.dapt.cover.Opening}, {@link app.dapt.cover.Shape}, {@link app.dapt.cover.Edging} and
 * {@link app.dapt.cover.Face} are the kinds of choices; each lists its details, makes its pieces and says what can go wrong
 * with it as {@code FindingCandidate}s, whose remedies are tried before they are offered.
 * {@code CoverDimensions} are the settled sizes all of them reckon from.
 *
 * <p>Uses every other room of the core but {@code drawing}. Start with {@code Reckoner}.
 */
package app.dapt.cover;
