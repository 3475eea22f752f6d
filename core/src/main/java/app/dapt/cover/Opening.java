package app.dapt.cover;

import app.dapt.measure.Axis;
import app.dapt.measure.Phrase;
import java.util.List;

/**
 * Where the form goes in. Each kind of opening is one implementation, which knows the pieces of its back, how they
 * lie, and what can go wrong with it.
 */
public sealed interface Opening permits EnvelopeOpening {

    /** The direction the opening runs in. */
    Axis runs();

    /** The back this opening makes of a cover of these sizes. */
    Back back(Setting setting);

    /** What can go wrong with it. */
    List<Concern> concerns(Setting setting, Back back);

    /** How the brief puts it, once reckoned. */
    Phrase brief(Back back);
}
