package reckonrod.core.geography;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * Reads two angles: {@code 47.5 -38.1}, {@code 47 30 N 38 6 W}, {@code N47.5W38.1}, {@code 47°30'38" N, 38°6'0" W}. Where one
 * angle ends and the other begins is said by letters, a sign, a comma, a degree mark, or by both having as many figures; what
 * these do not agree on is refused with what was read.
 */
final class AngleReading {
    private static final int MOST_PARTS = 3;
    private static final double SIXTIETH = 60;

    /** A figure, a letter, a sign or a mark. */
    private record Token(char kind, String text, boolean blankBefore) {}

    private static final char FIGURE = '0';
    private static final char LETTER = 'A';
    private static final char SIGN = '-';
    private static final char MARK = '°';
    private static final char BREAK = ',';

    /** One angle on its way: figures, and what says its hemisphere. */
    private static final class Angle {
        private final List<String> figures = new ArrayList<>(MOST_PARTS);
        private char letter = ' ';
        private char sign = ' ';

        boolean isLatitude() {
            return letter == 'N' || letter == 'S';
        }

        boolean isLongitude() {
            return letter == 'E' || letter == 'W';
        }

        @Override
        public String toString() {
            return (sign == ' ' ? "" : String.valueOf(sign))
                    + String.join(" ", figures)
                    + (letter == ' ' ? "" : " " + letter);
        }
    }

    private final String text;
    private final Function<String, IllegalArgumentException> unreadable;

    private AngleReading(String text, Function<String, IllegalArgumentException> unreadable) {
        this.text = text;
        this.unreadable = unreadable;
    }

    /**
     * The place of two angles.
     *
     * @param plain the text in capitals with plain marks
     * @param unreadable makes the error of a text that is none, from what was read of it
     */
    static Position read(String plain, Function<String, IllegalArgumentException> unreadable) {
        AngleReading reading = new AngleReading(plain, unreadable);
        return reading.position(reading.split(reading.tokens()));
    }

    private List<Token> tokens() {
        List<Token> tokens = new ArrayList<>();
        boolean blank = false;
        int at = 0;
        while (at < text.length()) {
            char letter = text.charAt(at);
            int end = at + 1;
            if (letter == ' ') {
                blank = true;
            } else if (Character.isDigit(letter)) {
                end = endOfFigure(at);
                tokens.add(new Token(FIGURE, text.substring(at, end).replace(',', '.'), blank));
                blank = false;
            } else {
                tokens.add(new Token(kind(letter), String.valueOf(letter), blank));
                blank = false;
            }
            at = end;
        }
        return tokens;
    }

    private char kind(char letter) {
        return switch (letter) {
            case 'N', 'S', 'E', 'W' -> LETTER;
            case '+', '-' -> SIGN;
            case '°', '\'', '"' -> MARK;
            case ',', ';', '/' -> BREAK;
            case 'O' ->
                throw new IllegalArgumentException(
                        "Position must say east or west as E or W, was \"O\", which is east in some languages and west in others");
            default -> throw unreadable.apply("");
        };
    }

    /** A comma inside a figure is a decimal mark where points are none, and one comma does not part the two angles. */
    private int endOfFigure(int start) {
        boolean decimalComma = text.indexOf('.') < 0 && (gluedCommas() != 1 || hasOtherBreak());
        int end = start;
        boolean mark = false;
        while (end < text.length()) {
            char letter = text.charAt(end);
            boolean inside = end + 1 < text.length() && Character.isDigit(text.charAt(end + 1));
            boolean decimal = !mark && inside && (letter == '.' || letter == ',' && decimalComma);
            if (!Character.isDigit(letter) && !decimal) {
                break;
            }
            mark |= decimal;
            end++;
        }
        return end;
    }

    private int gluedCommas() {
        int count = 0;
        for (int i = 1; i + 1 < text.length(); i++) {
            if (text.charAt(i) == ','
                    && Character.isDigit(text.charAt(i - 1))
                    && Character.isDigit(text.charAt(i + 1))) {
                count++;
            }
        }
        return count;
    }

    private boolean hasOtherBreak() {
        return text.chars()
                .anyMatch(letter -> letter == ' ' || letter == ';' || letter == '/' || letter == 'N' || letter == 'S');
    }

    private List<Angle> split(List<Token> tokens) {
        int border = border(tokens);
        List<Angle> angles = new ArrayList<>(2);
        angles.add(angle(tokens.subList(0, border)));
        angles.add(angle(tokens.subList(border, tokens.size())));
        return angles;
    }

    /** Where the second angle begins. */
    private int border(List<Token> tokens) {
        List<Integer> letters = places(tokens, LETTER);
        List<Integer> breaks = places(tokens, BREAK);
        List<Integer> figures = places(tokens, FIGURE);
        if (figures.size() < 2 || letters.size() > 2) {
            throw unreadable.apply("");
        }
        if (letters.size() == 1) {
            throw unreadable.apply("only one of the two angles has its letter, " + tokens.get(letters.get(0)).text);
        }
        if (letters.size() == 2) {
            boolean led = letters.get(0) < figures.get(0);
            return led ? letters.get(1) : letters.get(0) + 1;
        }
        if (breaks.size() == 1) {
            return breaks.get(0);
        }
        for (int sign : places(tokens, SIGN)) {
            if (sign > figures.get(0)) {
                return sign;
            }
        }
        List<Integer> degrees = places(tokens, MARK).stream()
                .filter(at -> tokens.get(at).text.equals("°"))
                .toList();
        if (degrees.size() == 2) {
            return degrees.get(1) - 1;
        }
        if (figures.size() % 2 != 0) {
            throw unreadable.apply(figures.size() + " figures were found, which do not part evenly into two angles");
        }
        return figures.get(figures.size() / 2);
    }

    private static List<Integer> places(List<Token> tokens, char kind) {
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            if (tokens.get(i).kind == kind) {
                places.add(i);
            }
        }
        return places;
    }

    private Angle angle(List<Token> tokens) {
        Angle angle = new Angle();
        for (int i = 0; i < tokens.size(); i++) {
            Token token = tokens.get(i);
            switch (token.kind) {
                case FIGURE -> angle.figures.add(token.text);
                case LETTER -> {
                    boolean atEnd = i == tokens.size() - 1 || i == 0 || tokens.get(i - 1).kind == BREAK;
                    if (!atEnd || angle.letter != ' ') {
                        throw unreadable.apply("");
                    }
                    angle.letter = token.text.charAt(0);
                }
                case SIGN -> {
                    if (!angle.figures.isEmpty() || angle.sign != ' ') {
                        throw unreadable.apply("");
                    }
                    angle.sign = token.text.charAt(0);
                }
                case MARK -> requireMark(token, angle);
                default -> {
                    boolean edge = i == 0 || i == tokens.size() - 1;
                    if (!edge) {
                        throw unreadable.apply("");
                    }
                }
            }
        }
        return checked(angle);
    }

    /** Degrees, minutes and seconds come in that order. */
    private void requireMark(Token mark, Angle angle) {
        int place = "°'\"".indexOf(mark.text) + 1;
        if (angle.figures.size() != place) {
            throw unreadable.apply("");
        }
    }

    private Angle checked(Angle angle) {
        if (angle.figures.isEmpty() || angle.figures.size() > MOST_PARTS) {
            throw unreadable.apply("");
        }
        for (int i = 0; i < angle.figures.size() - 1; i++) {
            if (angle.figures.get(i).contains(".")) {
                throw unreadable.apply(angle + " was read as one angle, and only its last figure may have decimals");
            }
        }
        if (angle.sign != ' ' && angle.letter != ' ') {
            throw unreadable.apply(angle + " has both a sign and a letter");
        }
        return angle;
    }

    private Position position(List<Angle> angles) {
        Angle first = angles.get(0);
        Angle second = angles.get(1);
        boolean swapped = first.isLongitude() || second.isLatitude();
        Angle latitude = swapped ? second : first;
        Angle longitude = swapped ? first : second;
        if (latitude.isLongitude() || longitude.isLatitude()) {
            throw new IllegalArgumentException(
                    "Position must be one latitude (N or S) and one longitude (E or W), was \"" + text + "\"");
        }
        return new Position(degrees(latitude), degrees(longitude));
    }

    private double degrees(Angle angle) {
        double degrees = 0;
        double part = 1;
        for (int i = 0; i < angle.figures.size(); i++) {
            double value = Double.parseDouble(angle.figures.get(i));
            if (i > 0 && value >= SIXTIETH) {
                throw new IllegalArgumentException((i == 1 ? "Minutes" : "Seconds") + " must be below 60, was "
                        + angle.figures.get(i) + " in \"" + text.toLowerCase(Locale.ROOT) + "\"");
            }
            degrees += value / part;
            part *= SIXTIETH;
        }
        return angle.letter == 'S' || angle.letter == 'W' || angle.sign == '-' ? -degrees : degrees;
    }
}
