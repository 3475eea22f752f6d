package app.dapt.web.wording;

import app.dapt.words.Words;

/** What a sewist said of something herself, after what Dapt says of it. */
public final class OwnWords {

    private OwnWords() {}

    /** The sentence, and her own words where there are any. */
    public static String after(String said, String note, Words w) {
        return note.isEmpty() ? said : said + " " + w.say("make.in-your-words", note);
    }
}
