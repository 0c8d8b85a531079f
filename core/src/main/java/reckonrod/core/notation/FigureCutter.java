package reckonrod.core.notation;

import java.util.List;
import reckonrod.core.notation.Item.Gap;
import reckonrod.core.notation.Item.Kind;

/**
 * Cuts a run of digits, points and commas into figures. A comma may be a decimal mark ({@code 145,3125}), part figures
 * ({@code 145.310,71.9}), or group digits ({@code 145,612.5 kHz}); a second point groups ({@code 145.612.500}) or is a slip.
 */
final class FigureCutter {
    private static final int GROUP = 3;
    private static final int MOST_MEGAHERTZ_DIGITS = 4;

    private final LineText line;
    private final int from;
    private final int to;
    private Gap gap;

    FigureCutter(LineText line, int from, int to, Gap gap) {
        this.line = line;
        this.from = from;
        this.to = to;
        this.gap = gap;
    }

    void cutInto(List<Item> items) {
        int commas = count(',', from, to);
        if (commas == 0) {
            pointed(from, to, items);
        } else if (count('.', from, to) > 0) {
            commasWithPoints(items);
        } else if (commas == 1) {
            add(line.slice(from, to).replace(',', '.'), from, to, items);
        } else {
            commasOnly(commas + 1, items);
        }
    }

    private int count(char mark, int start, int end) {
        int count = 0;
        for (int i = start; i < end; i++) {
            count += line.text[i] == mark ? 1 : 0;
        }
        return count;
    }

    private void add(String text, int start, int end, List<Item> items) {
        items.add(new Figure(text.charAt(0) == '.' ? "0" + text : text, line.at[start], line.at[end - 1] + 1, gap));
        gap = Gap.BREAK;
    }

    private void broken(int start, int end, List<Item> items) {
        items.add(new Item(Kind.BROKEN, line.slice(start, end), line.at[start], line.at[end - 1] + 1, gap));
        gap = Gap.BREAK;
    }

    private void pointed(int start, int end, List<Item> items) {
        String text = line.slice(start, end);
        int points = count('.', start, end);
        if (points <= 1 && text.charAt(text.length() - 1) != '.') {
            add(text, start, end, items);
        } else if (points == 2 && isGrouped(text)) {
            int last = text.lastIndexOf('.');
            add(text.substring(0, last) + text.substring(last + 1), start, end, items);
        } else {
            broken(start, end, items);
        }
    }

    /** {@code 145.612.500}. */
    private static boolean isGrouped(String text) {
        int first = text.indexOf('.');
        int last = text.lastIndexOf('.');
        int behind = text.length() - last - 1;
        return first > 0
                && first <= MOST_MEGAHERTZ_DIGITS
                && last - first - 1 == GROUP
                && behind > 0
                && behind <= GROUP;
    }

    private void commasWithPoints(List<Item> items) {
        String text = line.slice(from, to);
        int comma = text.indexOf(',');
        int point = text.indexOf('.');
        boolean kilohertz = count(',', from, to) == 1
                && comma <= MOST_MEGAHERTZ_DIGITS
                && point - comma - 1 == GROUP
                && isUnit("khz");
        if (kilohertz) {
            add(text.replace(",", ""), from, to, items);
            return;
        }
        // 145.662,5 is kilohertz as some write them, or a list: nobody can say.
        if (point < comma && comma == text.length() - 2 && comma - point - 1 == GROUP) {
            broken(from, to, items);
            return;
        }
        int start = from;
        while (start < to) {
            int end = endOfGroup(start);
            int next = endOfGroup(end + 1);
            boolean whole = end < to && count('.', start, next) == 0;
            if (whole && end - start <= MOST_MEGAHERTZ_DIGITS) {
                // 71.9,145,310: a decimal comma among commas that part.
                add(line.slice(start, next).replace(',', '.'), start, next, items);
                start = next + 1;
            } else {
                pointed(start, end, items);
                start = end + 1;
            }
        }
    }

    private int endOfGroup(int start) {
        int end = Math.min(start, to);
        while (end < to && line.text[end] != ',') {
            end++;
        }
        return end;
    }

    private boolean isUnit(String unit) {
        int at = to;
        while (line.charAt(at) == ' ') {
            at++;
        }
        return at + unit.length() <= line.length
                && line.slice(at, at + unit.length()).equals(unit);
    }

    /** With commas only, an even number of groups is decimals parted by commas: {@code 438,825,71,9}. */
    private void commasOnly(int groups, List<Item> items) {
        int start = from;
        boolean inside = false;
        for (int i = from; i <= to; i++) {
            if (i == to || line.text[i] == ',') {
                if (i < to && !inside && groups % 2 == 0) {
                    inside = true;
                } else {
                    add(line.slice(start, i).replace(',', '.'), start, i, items);
                    start = i + 1;
                    inside = false;
                }
            }
        }
    }
}
