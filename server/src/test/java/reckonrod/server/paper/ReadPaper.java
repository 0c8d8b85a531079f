package reckonrod.server.paper;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.GenericMultipleBarcodeReader;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/** Reads paper as a person with a telephone does. */
public final class ReadPaper {
    private static final float DOTS = 150;

    private ReadPaper() {}

    /** The text, without blanks and breaks. */
    public static String text(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s", "");
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** What the codes of all sheets hold, read from the printed picture. */
    public static List<String> codes(byte[] pdf) {
        return IntStream.rangeClosed(1, PaperPictures.sheets(pdf))
                .mapToObj(sheet -> PaperPictures.picture(pdf, sheet, DOTS))
                .flatMap(picture -> codes(picture).stream())
                .toList();
    }

    private static List<String> codes(BufferedImage picture) {
        int[] dots = picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
        try {
            return Stream.of(new GenericMultipleBarcodeReader(new QRCodeReader())
                            .decodeMultiple(
                                    new BinaryBitmap(new HybridBinarizer(
                                            new RGBLuminanceSource(picture.getWidth(), picture.getHeight(), dots))),
                                    Map.of(DecodeHintType.TRY_HARDER, true)))
                    .map(Result::getText)
                    .toList();
        } catch (NotFoundException none) {
            return List.of();
        }
    }
}
