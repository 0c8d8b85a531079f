package reckonrod.server.paper;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Pages of a document as pictures, to look at before they are printed. */
public final class PaperPictures {
    private PaperPictures() {}

    /** How many sheets a document has. */
    public static int sheets(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /**
     * A sheet in grey, as it comes out of a printer.
     *
     * @param sheet from 1
     * @param dots dots an inch
     */
    public static BufferedImage picture(byte[] pdf, int sheet, float dots) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(sheet - 1, dots, ImageType.GRAY);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** The same as PNG. */
    public static byte[] png(byte[] pdf, int sheet, float dots) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(picture(pdf, sheet, dots), "png", out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
