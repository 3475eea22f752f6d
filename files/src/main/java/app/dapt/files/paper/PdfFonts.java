package app.dapt.files.paper;

import com.ibm.icu.text.ArabicShaping;
import com.ibm.icu.text.ArabicShapingException;
import com.ibm.icu.text.Bidi;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The fonts of one document: the one that the pages are set in, and others for the letters it lacks, so that a name in
 * any script prints. Only the letters used go into the document.
 */
final class PdfFonts {

    /** From the first that has a letter. */
    private static final List<String> FILES = List.of(
            "alegreya-sans.ttf",
            "dejavu-sans.ttf",
            "free-sans.ttf",
            "free-serif.ttf",
            "nanum-gothic.ttf",
            "droid-fallback.ttf");

    /** Figures as tall as capitals and all of one breadth, where a font has such. */
    private static final List<String> FIGURES = List.of("lnum", "tnum");

    /** Forbids a line to end, and is not to be seen. */
    private static final int JOINER = '\u2060';

    /**
     * Letters that a font would draw as one with an f before them. Such a glyph is no letter to whoever searches a page
     * or has it read aloud, so they are set one by one.
     */
    private static final String AFTER_F = "fijlhkbt";

    /** What stands for a letter that no font has. */
    private static final String UNKNOWN = "\ufffd";

    private static final Pattern FRACTION = Pattern.compile("(\\d+)\u2044(\\d+)");
    private static final Map<String, String> COMMON = Map.of("¼", "1\u20444", "½", "1\u20442", "¾", "3\u20444");

    /** How large the figures of a fraction are, and how far the upper one is raised, as shares of the text's size. */
    private static final float SMALL = .62f;

    private static final float RAISED = .3f;

    private final PDDocument document;
    private final Map<String, PDFont> loaded = new HashMap<>();
    private final Map<Integer, Optional<PDFont>> byLetter = new HashMap<>();

    /**
     * A stretch of text in one font and size.
     *
     * @param scale  a share of the text's size
     * @param raised a share of it too
     */
    record Run(PDFont font, String text, float scale, float raised) {

        private boolean goesOnWith(Run next) {
            return font.equals(next.font)
                    && scale == next.scale
                    && raised == next.raised
                    && !(text.endsWith("f") && AFTER_F.contains(next.text));
        }

        private Run and(Run next) {
            return new Run(font, text + next.text, scale, raised);
        }

        /** How wide it is, in the unit of the size. */
        float width(float size) throws IOException {
            return font.getStringWidth(text) / 1000 * size * scale;
        }
    }

    PdfFonts(PDDocument document) {
        this.document = document;
    }

    /** A text as it is set from left to right, fractions small figures either side of a stroke. */
    List<Run> runs(String text) {
        List<Run> runs = new ArrayList<>();
        String said = visual(fractionsOpened(text));
        Matcher fraction = FRACTION.matcher(said);
        int from = 0;
        while (fraction.find()) {
            plain(said.substring(from, fraction.start()), 1, 0, runs);
            plain(fraction.group(1), SMALL, RAISED, runs);
            plain("\u2044", 1, 0, runs);
            plain(fraction.group(2), SMALL, 0, runs);
            from = fraction.end();
        }
        plain(said.substring(from), 1, 0, runs);
        return runs;
    }

    float width(String text, float size) throws IOException {
        float width = 0;
        for (Run run : runs(text)) {
            width += run.width(size);
        }
        return width;
    }

    private static String fractionsOpened(String text) {
        String opened = text;
        for (Map.Entry<String, String> each : COMMON.entrySet()) {
            // A digit before it stands off by as little as it does before any other fraction.
            opened = opened.replaceAll("(?<=\\d)" + each.getKey(), "\u200a" + each.getValue())
                    .replace(each.getKey(), each.getValue());
        }
        return opened;
    }

    /** Letters joined and in the order in which they are seen, where some are written from the right. */
    private static String visual(String text) {
        if (!Bidi.requiresBidi(text.toCharArray(), 0, text.length())) {
            return text;
        }
        try {
            String joined = new ArabicShaping(ArabicShaping.LETTERS_SHAPE).shape(text);
            return new Bidi(joined, Bidi.LEVEL_DEFAULT_LTR).writeReordered(Bidi.DO_MIRRORING);
        } catch (ArabicShapingException e) {
            return text;
        }
    }

    private void plain(String text, float scale, float raised, List<Run> runs) {
        for (int letter : text.codePoints()
                .filter(each -> each != JOINER)
                .map(PdfFonts::spaced)
                .toArray()) {
            Optional<PDFont> own = of(letter);
            Run next = new Run(
                    own.or(() -> of(UNKNOWN.codePointAt(0))).orElseThrow(),
                    own.isPresent() ? Character.toString(letter) : UNKNOWN,
                    scale,
                    raised);
            int last = runs.size() - 1;
            if (last >= 0 && runs.get(last).goesOnWith(next)) {
                runs.set(last, runs.get(last).and(next));
            } else {
                runs.add(next);
            }
        }
    }

    /** Spaces of every breadth are one to a page that is never broken again. */
    private static int spaced(int letter) {
        return letter == '\u200a' ? '\u2009' : Character.isSpaceChar(letter) && letter != '\u2009' ? ' ' : letter;
    }

    private Optional<PDFont> of(int letter) {
        return byLetter.computeIfAbsent(letter, each -> FILES.stream()
                .map(this::font)
                .filter(font -> has(font, each))
                .findFirst());
    }

    private static boolean has(PDFont font, int letter) {
        try {
            return font.encode(Character.toString(letter)).length > 0;
        } catch (IOException | IllegalArgumentException e) {
            return false;
        }
    }

    private PDFont font(String file) {
        return loaded.computeIfAbsent(file, name -> {
            try (InputStream in = PdfFonts.class.getResourceAsStream("/fonts/" + name)) {
                if (in == null) {
                    throw new IllegalStateException("the font " + name + " is not there");
                }
                TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
                FIGURES.forEach(font::enableGsubFeature);
                return PDType0Font.load(document, font, true);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }
}
