package jawread.server.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.xml.transform.TransformerException;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.xmpbox.XMPMetadata;
import org.apache.xmpbox.schema.XMPSchema;
import org.apache.xmpbox.xml.XmpSerializer;
import org.springframework.stereotype.Component;

/**
 * The same document as a PDF: vector pictures, bookmarks, tagged, with its own letters in it. It is laid out here and not by way of the page:
 * that took ten times as long, and a report of some hundred features is waited for.
 */
@Component
public class Pdf {
    private static final String ACCESSIBLE = "http://www.aiim.org/pdfua/ns/id/";

    /**
     * Writes it.
     *
     * @param about words kept in the file, by which it is known again; may be empty
     */
    public void write(Document document, PaperSize size, String about, OutputStream to) throws IOException {
        ExecutorService beside = Executors.newSingleThreadExecutor();
        try (var pdf = new PDDocument()) {
            describe(pdf, document, about);
            PdfLetters regular = PdfLetters.of(pdf, "R", "letters-regular.ttf");
            PdfLetters bold = PdfLetters.of(pdf, "B", "letters-bold.ttf");
            var pages = new PdfPages(pdf, size, new PdfTags(pdf), document.running(), regular, bold, beside);
            new PdfBlocks(pdf, pages, regular, bold, beside).draw(document);
            pages.end();
            pdf.save(to);
        } finally {
            beside.shutdownNow();
        }
    }

    private static void describe(PDDocument pdf, Document document, String about) throws IOException {
        var information = new PDDocumentInformation();
        information.setTitle(document.title());
        information.setSubject("Report of measurement");
        information.setKeywords(about);
        pdf.setDocumentInformation(information);
        pdf.getDocumentCatalog().setLanguage("en");
        var shown = new PDViewerPreferences(new COSDictionary());
        shown.setDisplayDocTitle(true);
        pdf.getDocumentCatalog().setViewerPreferences(shown);
        XMPMetadata said = XMPMetadata.createXMPMetadata();
        said.createAndAddDublinCoreSchema().setTitle(Html.readable(document.title()));
        XMPSchema accessible = said.createAndAddDefaultSchema("pdfuaid", ACCESSIBLE);
        accessible.setIntegerPropertyValueAsSimple("part", 1);
        var written = new ByteArrayOutputStream();
        try {
            new XmpSerializer().serialize(said, written, true);
        } catch (TransformerException e) {
            throw new IOException(e);
        }
        var metadata = new PDMetadata(pdf);
        metadata.importXMPMetadata(written.toByteArray());
        pdf.getDocumentCatalog().setMetadata(metadata);
    }
}
