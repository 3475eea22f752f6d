package app.dapt.form;

/** What a maker's label gives: the form itself, or the cover it is meant for. */
public enum LabelMeans {
    FORM,
    COVER
}
