package jawread.server.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;

/** What a PDF is made of, for whoever has it read aloud: ISO 32000-1, 14.7. An element is the dictionary that it is written as. */
final class PdfTags {
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final COSDictionary document;
    private final COSDictionary columnHead = attributes("Table");
    private final COSDictionary lineHead = attributes("Table");
    /** By page: whose each piece of it is. */
    private final List<COSArray> pieces = new ArrayList<>();

    private COSDictionary page = new COSDictionary();

    PdfTags(PDDocument of) {
        document = element(root.getCOSObject(), "Document");
        columnHead.setName("Scope", "Column");
        lineHead.setName("Scope", "Row");
        var info = new PDMarkInfo();
        info.setMarked(true);
        of.getDocumentCatalog().setMarkInfo(info);
        of.getDocumentCatalog().setStructureTreeRoot(root);
    }

    private static COSDictionary attributes(String owner) {
        var attributes = new COSDictionary();
        attributes.setName(COSName.O, owner);
        return attributes;
    }

    /** Pieces are on this page from here on. */
    void turnTo(PDPage next) {
        page = next.getCOSObject();
        page.setInt(COSName.STRUCT_PARENTS, pieces.size());
        page.setName(COSName.getPDFName("Tabs"), "S");
        pieces.add(new COSArray());
    }

    COSDictionary element(String type) {
        return element(document, type);
    }

    COSDictionary element(COSDictionary within, String type) {
        var element = new COSDictionary();
        element.setName(COSName.S, type);
        element.setItem(COSName.P, within);
        add(within, element);
        return element;
    }

    COSDictionary columnHead(COSDictionary line) {
        return with(element(line, "TH"), columnHead);
    }

    COSDictionary lineHead(COSDictionary line) {
        return with(element(line, "TH"), lineHead);
    }

    /** @param words the same for ears; @param box where it stands: left, bottom, right, top, in points from the lower left */
    COSDictionary figure(COSDictionary within, String words, float... box) {
        COSDictionary figure = element(within, "Figure");
        figure.setString(COSName.ALT, words);
        COSDictionary place = attributes("Layout");
        place.setName("Placement", "Block");
        var corners = new COSArray();
        corners.setFloatArray(box);
        place.setItem(COSName.BBOX, corners);
        return with(figure, place);
    }

    private static COSDictionary with(COSDictionary element, COSDictionary attributes) {
        element.setItem(COSName.A, attributes);
        return element;
    }

    private static void add(COSDictionary to, COSBase kid) {
        COSBase before = to.getDictionaryObject(COSName.K);
        if (before == null) {
            to.setItem(COSName.K, kid);
        } else if (before instanceof COSArray all) {
            all.add(kid);
        } else {
            var all = new COSArray();
            all.add(before);
            all.add(kid);
            to.setItem(COSName.K, all);
        }
    }

    /** Another piece of an element, on this page. @return the number that it is marked with there */
    int piece(COSDictionary element) {
        COSArray here = pieces.get(pieces.size() - 1);
        int number = here.size();
        here.add(element);
        COSBase of = element.getItem(COSName.PG);
        if (of == null) {
            element.setItem(COSName.PG, page);
        }
        if (of == null || of == page) {
            add(element, COSInteger.get(number));
        } else {
            var elsewhere = new COSDictionary();
            elsewhere.setName(COSName.TYPE, "MCR");
            elsewhere.setItem(COSName.PG, page);
            elsewhere.setInt(COSName.MCID, number);
            add(element, elsewhere);
        }
        return number;
    }

    /** Writes down which piece is whose. */
    void end() {
        var numbers = new COSArray();
        for (int i = 0; i < pieces.size(); i++) {
            numbers.add(COSInteger.get(i));
            numbers.add(pieces.get(i));
        }
        var tree = new COSDictionary();
        tree.setItem(COSName.NUMS, numbers);
        root.getCOSObject().setItem(COSName.PARENT_TREE, tree);
        root.setParentTreeNextKey(pieces.size());
        root.setRoleMap(Map.of());
    }
}
