package app.dapt.files.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A PDF being written, page after page, with its own fonts in it. */
public final class PdfDocument implements AutoCloseable {

    private final PDDocument document = new PDDocument();
    private final PdfFonts fonts = new PdfFonts(document);

    /** A new page at the end. */
    public PdfSheet sheet(PDRectangle size) throws IOException {
        return new PdfSheet(document, fonts, size);
    }

    /** All of it, under a title, once the last page is closed. */
    public byte[] bytes(String title) throws IOException {
        document.getDocumentInformation().setTitle(title);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
