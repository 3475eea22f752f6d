package app.dapt.files.command;

import app.dapt.cover.CoverPlan;
import app.dapt.cover.Reckoner;
import app.dapt.files.BadPlanFile;
import app.dapt.files.plan.PlanJson;
import app.dapt.files.plan.ReckonedJson;
import app.dapt.words.Wordbook;
import app.dapt.words.Wordbook.English;
import app.dapt.words.Words;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** {@code dapt reckon FILE.json}: prints the reckoned cover, or says what is wrong and ends with 2. */
public final class ReckonCommand {

    /** No plan is nearly so large. */
    public static final int LARGEST_FILE = 64 * 1024;

    private ReckonCommand() {}

    public static void main(String[] args) {
        Commands.run(ReckonCommand::run, args);
    }

    static int run(String[] args, PrintStream out, PrintStream err) {
        if (args.length != 1) {
            err.println("usage: dapt reckon FILE.json");
            return 2;
        }
        try {
            CoverPlan plan = PlanJson.read(content(Path.of(args[0])));
            out.print(new ReckonedJson(new Words(Wordbook.load(English.US, "craft"), plan.mark()))
                    .write(Reckoner.reckon(plan)));
            return 0;
        } catch (BadPlanFile | IOException | InvalidPathException e) {
            err.println(args[0] + ": " + reason(e));
        }
        return 2;
    }

    /** Why a file could not be taken, in words. */
    static String reason(Exception e) {
        if (e instanceof BadPlanFile) {
            return String.valueOf(e.getMessage());
        }
        return e instanceof NoSuchFileException
                ? "there is no such file"
                : e instanceof CharacterCodingException
                        ? "is not text in UTF-8"
                        : "cannot be read (" + e.getMessage() + ")";
    }

    /**
     * What a file says, unless it is larger than any that Dapt reads, or is no file but a pipe or a device, which might
     * never end.
     */
    static String content(Path file) throws IOException, BadPlanFile {
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new BadPlanFile("", "is no file");
        }
        try (InputStream in = Files.newInputStream(file)) {
            byte[] content = in.readNBytes(LARGEST_FILE + 1);
            if (content.length > LARGEST_FILE) {
                throw new BadPlanFile("", "is larger than any plan");
            }
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(content))
                    .toString();
        }
    }
}
