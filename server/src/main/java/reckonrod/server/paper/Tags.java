package reckonrod.server.paper;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** What everything in a document is, as a tree in the order in which it is read (ISO 32000-1, 14.7). */
final class Tags {
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final Deque<PDStructureElement> open = new ArrayDeque<>();
    private final Map<PDPage, COSArray> byPage = new LinkedHashMap<>();

    Tags(PDDocument document, String title) {
        PDStructureElement whole = new PDStructureElement("Document", root);
        root.appendKid(whole);
        open.push(whole);
        document.getDocumentCatalog().setStructureTreeRoot(root);
        document.getDocumentCatalog().setLanguage("en");
        PDMarkInfo marked = new PDMarkInfo();
        marked.setMarked(true);
        document.getDocumentCatalog().setMarkInfo(marked);
        PDViewerPreferences shown = new PDViewerPreferences(new COSDictionary());
        shown.setDisplayDocTitle(true);
        document.getDocumentCatalog().setViewerPreferences(shown);
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setCreator("Reckonrod");
    }

    void open(String tag) {
        PDStructureElement element = new PDStructureElement(tag, open.peek());
        open.peek().appendKid(element);
        open.push(element);
    }

    void close() {
        open.pop();
    }

    /** Names the next piece of a page, and says what it is. */
    PDPropertyList next(String tag, PDPage page) {
        return piece(new PDStructureElement(tag, open.peek()), page);
    }

    /** The next piece is a picture that stands for a text. */
    PDPropertyList figure(String text, PDPage page) {
        PDStructureElement element = new PDStructureElement("Figure", open.peek());
        element.setAlternateDescription(text);
        return piece(element, page);
    }

    private PDPropertyList piece(PDStructureElement element, PDPage page) {
        COSArray pieces = byPage.computeIfAbsent(page, any -> new COSArray());
        int number = pieces.size();
        element.setPage(page);
        element.getCOSObject().setInt(COSName.K, number);
        open.peek().appendKid(element);
        pieces.add(element.getCOSObject());
        COSDictionary named = new COSDictionary();
        named.setInt(COSName.MCID, number);
        return PDPropertyList.create(named);
    }

    /** Ends the tree: from each piece of a page one comes to what it is. */
    void end() {
        COSArray numbers = new COSArray();
        int at = 0;
        for (Map.Entry<PDPage, COSArray> each : byPage.entrySet()) {
            each.getKey().setStructParents(at);
            numbers.add(COSInteger.get(at));
            numbers.add(each.getValue());
            at++;
        }
        COSDictionary tree = new COSDictionary();
        tree.setItem(COSName.NUMS, numbers);
        root.getCOSObject().setItem(COSName.PARENT_TREE, tree);
        root.setParentTreeNextKey(at);
    }
}
