package app.dapt.web.door;

/**
 * A page that is looked at by a link, rather than by whoever has the workroom: ways on stay within the link.
 *
 * @param back the link itself
 * @param here this page under it
 */
public record Shared(String back, String here) {

    /** Where a request has it that was sent on by a link. */
    public static final String ATTRIBUTE = Shared.class.getName();
}
