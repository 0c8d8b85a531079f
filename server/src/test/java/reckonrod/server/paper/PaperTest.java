package reckonrod.server.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDMarkedContent;
import org.apache.pdfbox.text.PDFMarkedContentExtractor;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import reckonrod.core.card.Card;
import reckonrod.core.card.CardPart;
import reckonrod.core.card.CardWidth;
import reckonrod.core.card.Deck;
import reckonrod.core.card.LineCodes;
import reckonrod.core.card.Origin;

/** What is set is read back from the file, and looked at as it comes out of a printer. */
class PaperTest {
    private static final Origin ORIGIN =
            Origin.ofList("Vellan home", 12, ZonedDateTime.of(2026, 11, 28, 9, 5, 0, 0, ZoneId.of("UTC")));
    private static final String LONG_WORD = "QV0SKQV1ABQV0SKQV1ABQV0SKQV1ABQV";

    private static List<String> lines(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> "\"ÖSTREY N " + i + "\" 145." + (100 + i) + " -0.600 T118.8")
                .toList();
    }

    private static Deck deck(CardWidth width) {
        List<CardPart> parts = new ArrayList<>(List.of(
                new CardPart.Heading("Wie heißt Łódź, Ελλάς, Київ?"),
                new CardPart.Words(
                        "Office and affix: fi fl ffi −0.600 → “quoted” × 3. " + "More words to wrap. ".repeat(12)),
                new CardPart.Words(LONG_WORD),
                new CardPart.Caution("Not this one " + LONG_WORD),
                new CardPart.Typed("\"OSTREY N\" 145.430 -0.600 T118.8 R127.3 mid and much more than a line can hold"),
                new CardPart.Figures(List.of(
                        new CardPart.Figure("Listen", "145.430 MHz"),
                        new CardPart.Figure("A label that is long", LONG_WORD))),
                new CardPart.Keys(IntStream.range(0, 30)
                        .mapToObj(i -> new CardPart.Step(
                                List.of("F", "dial right ×" + i, "a key with a long name"), "shown " + i))
                        .toList()),
                new CardPart.Table(
                        List.of("Slot", "Name", "A wide heading for it", "Listen"),
                        IntStream.range(0, 60)
                                .mapToObj(i -> List.of(
                                        String.valueOf(i), "NAME " + i, i == 7 ? LONG_WORD : "", "145." + (100 + i)))
                                .toList())));
        parts.addAll(LineCodes.of(lines(12)));
        return new Deck(
                "Everything",
                ORIGIN,
                width,
                IntStream.range(0, 3)
                        .mapToObj(i -> new Card("Card " + i, "Slot " + i + " · Round · 2 m", parts))
                        .toList());
    }

    /** Each paper that differs in kind, each width, and the type that makes it harder. */
    static Stream<Arguments> papers() {
        return Stream.of(PaperSize.A4, PaperSize.A5, PaperSize.A6, PaperSize.INDEX, PaperSize.POCKET_LETTER)
                .flatMap(size -> Stream.of(
                        Arguments.of(size, CardWidth.STRIP, false),
                        Arguments.of(size, CardWidth.CARD, true),
                        Arguments.of(size, CardWidth.PAGE, false)));
    }

    @ParameterizedTest
    @MethodSource("papers")
    void everythingIsOnThePaperAndNothingOverlaps(PaperSize size, CardWidth width, boolean large) throws IOException {
        Deck deck = deck(width);
        byte[] pdf = Paper.pdf(deck, size, large);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            Letters letters = new Letters();
            String read = letters.getText(document).replaceAll("\\s", "");
            for (Card card : deck.cards()) {
                assertThat(read).contains(card.title().replace(" ", ""));
                card.parts().stream()
                        .flatMap(PaperTest::texts)
                        .forEach(each -> assertThat(read).contains(each.replaceAll("\\s", "")));
            }
            int pages = read.split("Vellanhome,version12·made2026-11-2809:05\\(UTC\\)", -1).length - 1;
            assertThat(pages).isBetween(document.getNumberOfPages(), 8 * document.getNumberOfPages());
            assertThat(read.split(Origin.CAUTIONS.replaceAll("\\s", ""), -1)).hasSize(pages + 1);
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                letters.apart(page, document.getPage(page));
            }
        }
    }

    private static Stream<String> texts(CardPart part) {
        if (part instanceof CardPart.Figures figures) {
            return figures.rows().stream().map(CardPart.Figure::value);
        }
        if (part instanceof CardPart.Keys keys) {
            return keys.steps().stream().flatMap(each -> Stream.concat(each.keys().stream(), Stream.of(each.shows())));
        }
        if (part instanceof CardPart.Table table) {
            return table.rows().stream().flatMap(List::stream);
        }
        return Stream.of(
                part instanceof CardPart.Words words
                        ? words.text()
                        : part instanceof CardPart.Caution caution
                                ? caution.text()
                                : part instanceof CardPart.Typed typed
                                        ? typed.line()
                                        : part instanceof CardPart.Heading heading
                                                ? heading.text()
                                                : ((CardPart.Code) part).says());
    }

    /** Where each letter lies. */
    private static final class Letters extends PDFTextStripper {
        private final List<List<Rectangle2D>> pages = new ArrayList<>();

        Letters() {
            setSuppressDuplicateOverlappingText(false);
        }

        @Override
        protected void startPage(PDPage page) {
            pages.add(new ArrayList<>());
        }

        @Override
        protected void processTextPosition(TextPosition letter) {
            super.processTextPosition(letter);
            float x = letter.getTextMatrix().getTranslateX();
            float y = letter.getTextMatrix().getTranslateY();
            // Half the height of a letter is enough to see lines that run into one another.
            float high = letter.getFontSizeInPt() * 0.5f;
            boolean turned = letter.getTextMatrix().getScaleX() < 0;
            if (!letter.getUnicode().isBlank()) {
                pages.get(pages.size() - 1)
                        .add(new Rectangle2D.Float(
                                turned ? x - letter.getWidth() : x, turned ? y - high : y, letter.getWidth(), high));
            }
        }

        void apart(int page, PDPage sheet) {
            Rectangle2D paper = new Rectangle2D.Float(
                    0, 0, sheet.getMediaBox().getWidth(), sheet.getMediaBox().getHeight());
            List<Rectangle2D> letters = pages.get(page).stream()
                    .sorted(Comparator.comparingDouble(Rectangle2D::getY))
                    .toList();
            assertThat(letters).isNotEmpty().allMatch(paper::contains);
            List<String> over = new ArrayList<>();
            for (int i = 0; i < letters.size(); i++) {
                double end = letters.get(i).getMaxY();
                for (int j = i + 1; j < letters.size() && letters.get(j).getY() < end; j++) {
                    Rectangle2D both = letters.get(i).createIntersection(letters.get(j));
                    if (both.getWidth() > 0.7 && both.getHeight() > 0.7) {
                        over.add("letter %d of sheet %d at %s".formatted(i, page, letters.get(i)));
                    }
                }
            }
            assertThat(over).isEmpty();
        }
    }

    /** The narrowest columns, the smallest papers, both ways up. */
    static Stream<Arguments> codes() {
        return Stream.of(
                Arguments.of(PaperSize.A4, CardWidth.STRIP, false),
                Arguments.of(PaperSize.LETTER, CardWidth.CARD, true),
                Arguments.of(PaperSize.INDEX, CardWidth.CARD, true),
                Arguments.of(PaperSize.POCKET_A4, CardWidth.CARD, false));
    }

    @ParameterizedTest
    @MethodSource("codes")
    void theCodesGiveTheLinesBack(PaperSize size, CardWidth width, boolean large) {
        Deck deck =
                new Deck("Codes", ORIGIN, width, List.of(new Card("Lines", "", List.copyOf(LineCodes.of(lines(23))))));
        byte[] pdf = Paper.pdf(deck, size, large);
        List<String> read = ReadPaper.codes(pdf);
        assertThat(read)
                .containsExactlyInAnyOrderElementsOf(deck.cards().get(0).parts().stream()
                        .map(each -> ((CardPart.Code) each).text())
                        .toList());
        assertThat(read.stream().flatMap(String::lines)).containsExactlyInAnyOrderElementsOf(lines(23));
    }

    /** However wide the columns want to be, they are parted in the end, and everything stands. */
    @Test
    void columnsOfAnyWidthArePartedInTheEnd() {
        Random random = new Random(20261128);
        for (int i = 0; i < 300; i++) {
            int columns = 1 + random.nextInt(6);
            List<List<String>> rows = Stream.generate(() -> Stream.generate(() ->
                                    "W".repeat(random.nextInt(9)) + "i".repeat(random.nextInt(9)) + random.nextInt(99))
                            .limit(columns)
                            .toList())
                    .limit(4)
                    .toList();
            Deck deck = new Deck(
                    "Table",
                    ORIGIN,
                    CardWidth.STRIP,
                    List.of(new Card("T", "", List.of(new CardPart.Table(rows.get(0), rows)))));
            String read = ReadPaper.text(
                    assertTimeoutPreemptively(Duration.ofSeconds(20), () -> Paper.pdf(deck, PaperSize.A6, true)));
            // No word is parted: where the paper is too narrow, the cells stand below one another.
            rows.forEach(row -> row.forEach(each -> assertThat(read).contains(each)));
        }
    }

    @Test
    void everyPieceOfTextIsInTheTreeThatIsReadOut() throws IOException {
        try (PDDocument document = Loader.loadPDF(Paper.pdf(deck(CardWidth.PAGE), PaperSize.A4, false))) {
            assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en");
            COSArray numbers = document.getDocumentCatalog()
                    .getStructureTreeRoot()
                    .getCOSObject()
                    .getCOSDictionary(COSName.PARENT_TREE)
                    .getCOSArray(COSName.NUMS);
            for (PDPage page : document.getPages()) {
                PDFMarkedContentExtractor extractor = new PDFMarkedContentExtractor();
                extractor.processPage(page);
                List<PDMarkedContent> read = extractor.getMarkedContents().stream()
                        .filter(each -> !each.getTag().equals("Artifact"))
                        .toList();
                COSArray elements = (COSArray) numbers.getObject(2 * page.getStructParents() + 1);
                assertThat(read).isNotEmpty().hasSize(elements.size());
                for (PDMarkedContent each : read) {
                    COSDictionary element = (COSDictionary) elements.getObject(each.getMCID());
                    assertThat(element.getNameAsString(COSName.S)).isEqualTo(each.getTag());
                    assertThat(element.getInt(COSName.K)).isEqualTo(each.getMCID());
                }
            }
            assertThat(kinds(
                            document.getDocumentCatalog().getStructureTreeRoot().getCOSObject()))
                    .contains("Document", "Sect", "H1", "H2", "P", "L", "LI", "Table", "TR", "TH", "TD", "Figure");
        }
    }

    private static List<String> kinds(COSDictionary element) {
        COSArray kids = element.getDictionaryObject(COSName.K) instanceof COSArray several
                ? several
                : element.getDictionaryObject(COSName.K) instanceof COSDictionary one ? arrayOf(one) : new COSArray();
        return Stream.concat(
                        Stream.ofNullable(element.getNameAsString(COSName.S)),
                        IntStream.range(0, kids.size())
                                .mapToObj(kids::getObject)
                                .flatMap(each ->
                                        each instanceof COSDictionary kid ? kinds(kid).stream() : Stream.empty()))
                .distinct()
                .collect(Collectors.toList());
    }

    private static COSArray arrayOf(COSDictionary one) {
        COSArray array = new COSArray();
        array.add(one);
        return array;
    }

    @Test
    void aLetterThatNoFontHasStandsAsASquare() throws IOException {
        Deck deck = new Deck(
                "Letters", ORIGIN, CardWidth.CARD, List.of(new Card("日 A 😀", "", List.of(new CardPart.Words("b")))));
        try (PDDocument document = Loader.loadPDF(Paper.pdf(deck, PaperSize.A6, false))) {
            assertThat(new PDFTextStripper().getText(document)).contains("□ A □");
        }
    }

    /** Who reads from right to left finds the first letter on the right. */
    @Test
    void aNameFromRightToLeftIsSetSo() throws IOException {
        Deck deck = new Deck(
                "Letters",
                ORIGIN,
                CardWidth.CARD,
                List.of(new Card("T", "", List.of(new CardPart.Words("A מגדל (ב) Z")))));
        List<String> drawn = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(Paper.pdf(deck, PaperSize.A6, false))) {
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition letter) {
                    drawn.add(letter.getUnicode());
                }
            }.getText(document);
        }
        assertThat(String.join("", drawn)).contains("A (ב) לדגמ Z");
    }

    @Test
    void aFontThatIsDamagedIsNotTakenForOne() throws IOException {
        byte[] font;
        try (var in = Paper.class.getResourceAsStream(Face.TEXT.file("latin"))) {
            font = in.readAllBytes();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
        assertThat(Woff.unpack(font)).hasSizeGreaterThan(font.length);
        byte[] other = font.clone();
        other[0] = 0;
        assertThatThrownBy(() -> Woff.unpack(other)).hasMessageContaining("must be a WOFF file");
        byte[] torn = font.clone();
        java.util.Arrays.fill(torn, torn.length / 2, torn.length, (byte) 0x55);
        assertThatThrownBy(() -> Woff.unpack(torn)).hasMessageContaining("table of a font");
    }
}
