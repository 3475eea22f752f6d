package app.dapt.files.archive;

import app.dapt.files.BadPlanFile;
import app.dapt.files.archive.WorkroomParts.Entry;
import app.dapt.files.archive.WorkroomParts.Front;
import app.dapt.files.archive.WorkroomParts.Lay;
import app.dapt.files.archive.WorkroomParts.SetOfCovers;
import app.dapt.files.archive.WorkroomParts.Wash;
import app.dapt.files.archive.WorkroomParts.Work;
import app.dapt.files.log.LogCsv;
import app.dapt.files.shop.PriceTable;
import app.dapt.measure.Unit;
import app.dapt.shelf.Prices;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Writes a workroom as one ZIP file, piece by piece as it comes from the store, so that no more than a piece is in
 * memory. Last stands {@code SHA256SUMS}, as {@code sha256sum} writes it, with every other file of it.
 */
public final class WorkroomWriter implements Closeable {

    static final String FRONT = "workroom.json";
    static final String SUMS = "SHA256SUMS";

    private final ZipOutputStream zip;
    private final StringBuilder sums = new StringBuilder();

    public WorkroomWriter(OutputStream out) {
        zip = new ZipOutputStream(out);
    }

    /** The name a cover's plan and all that belongs to it goes by in the file. */
    public static String file(long id) {
        return String.format("%06d.json", id);
    }

    /** A cover: its plan as it reads, or as it is where it does not. */
    public void cover(String file, String plan, Work work) throws IOException {
        put("covers/" + file, plan);
        put("work/" + file, written(() -> WorkroomParts.write(work)));
    }

    public void entry(String file, Entry entry) throws IOException {
        put("log/" + file, written(() -> WorkroomParts.write(entry)));
    }

    /** Adds the entries of a log one after another. */
    public interface Log {
        void to(LogCsv.Lines csv) throws IOException;
    }

    /** The log once more, for a spreadsheet. */
    public void log(Log entries) throws IOException {
        zip.putNextEntry(new ZipEntry("log.csv"));
        DigestOutputStream summed = new DigestOutputStream(zip, sha256());
        Writer writer = new OutputStreamWriter(summed, StandardCharsets.UTF_8);
        entries.to(new LogCsv.Lines(writer));
        writer.flush();
        zip.closeEntry();
        note("log.csv", summed.getMessageDigest());
    }

    public void sets(List<SetOfCovers> sets) throws IOException {
        put("sets.json", WorkroomParts.writeSets(sets));
    }

    public void lays(List<Lay> lays) throws IOException {
        put("layouts.json", written(() -> WorkroomParts.writeLayouts(lays)));
    }

    public void washes(List<Wash> washes) throws IOException {
        put("washes.json", WorkroomParts.writeWashes(washes));
    }

    public void shelf(List<ShelfParts.Shelved> things) throws IOException {
        put("shelf.json", ShelfParts.write(things));
    }

    public void beside(List<BesideParts.Beside> all, List<BesideParts.ForClient> clients) throws IOException {
        put("beside.json", BesideParts.write(all, clients));
    }

    /**
     * What shops ask.
     *
     * @param currency the workroom's; nothing where none was chosen
     */
    public void prices(Prices prices, Optional<String> currency) throws IOException {
        put("prices.csv", PriceTable.write(prices, Unit.CENTIMETRE, currency.orElse("")));
    }

    public void picture(long number, byte[] jpeg) throws IOException {
        zip.setLevel(Deflater.NO_COMPRESSION);
        put("pictures/" + number + ".jpg", jpeg);
        zip.setLevel(Deflater.DEFAULT_COMPRESSION);
    }

    /** What stands on its front, and the sums of everything: after this nothing more. */
    public void finish(Front front) throws IOException {
        put(FRONT, WorkroomParts.write(front));
        put(SUMS, sums.toString());
        zip.finish();
        zip.flush();
    }

    private interface Part {
        String text() throws BadPlanFile;
    }

    private static String written(Part part) throws IOException {
        try {
            return part.text();
        } catch (BadPlanFile e) {
            throw new IOException("the store holds what is not JSON", e);
        }
    }

    private void put(String name, String text) throws IOException {
        put(name, text.getBytes(StandardCharsets.UTF_8));
    }

    private void put(String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
        MessageDigest sum = sha256();
        sum.update(content);
        note(name, sum);
    }

    private void note(String name, MessageDigest sum) {
        sums.append(HexFormat.of().formatHex(sum.digest()))
                .append("  ")
                .append(name)
                .append('\n');
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
