package app.dapt.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PlainTextTest {

    private static String with(int codePoint) {
        return "a" + Character.toString(codePoint) + "b";
    }

    @Test
    void breaksAreKeptOrBecomeBlanks() {
        assertThat(PlainText.line(" deck\tseat\nport ")).isEqualTo("deck seat port");
        assertThat(PlainText.lines("deck\nseat\tport\n")).isEqualTo("deck\nseat port");
        assertThat(PlainText.lines("deck\u2028seat")).isEqualTo("deck seat");
    }

    @Test
    void whatCannotBeSeenIsNothing() {
        assertThat(PlainText.line("\u200b\u00a0")).isEmpty();
        assertThat(PlainText.line("\u200bdeck")).isEqualTo("\u200bdeck");
        assertThat(PlainText.isLine("")).isFalse();
        assertThat(PlainText.isLine(" deck")).isFalse();
        assertThat(PlainText.isLine("deck")).isTrue();
    }

    @Test
    void whatIsNoCharacterGoes() {
        for (int refused : new int[] {0, 7, 0x7f, 0xfdd0, 0xfdef, 0xfffe, 0xffff, 0x1fffe, 0x10ffff, 0xd800}) {
            assertThat(PlainText.line(with(refused))).as("%x", refused).isEqualTo("ab");
        }
        for (int kept : new int[] {0xfdcf, 0xfdf0, 0xfffd, 0x1f9f5}) {
            assertThat(PlainText.line(with(kept))).as("%x", kept).hasSizeGreaterThan(2);
        }
    }

    @Test
    void shortenedItTearsNoPairApart() {
        assertThat(PlainText.shortened("deck", 4)).isEqualTo("deck");
        assertThat(PlainText.shortened("decks", 4)).isEqualTo("deck");
        String needle = "ab" + Character.toString(0x1faa1) + "c";
        assertThat(PlainText.shortened(needle, 3)).isEqualTo("ab");
        assertThat(PlainText.shortened(needle, 4)).isEqualTo("ab" + Character.toString(0x1faa1));
    }
}
