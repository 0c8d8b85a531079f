package reckonrod.core.recipe;

/** Words of a recipe as YAML has them. */
final class RecipeText {
    private RecipeText() {}

    /** A text in quotation marks, which YAML reads back as it was. */
    static String quoted(String text) {
        StringBuilder quoted = new StringBuilder("\"");
        for (int i = 0; i < text.length(); i++) {
            char each = text.charAt(i);
            if (each == '"' || each == '\\') {
                quoted.append('\\').append(each);
            } else if (each == '\t') {
                quoted.append("\\t");
            } else if (Character.isISOControl(each)) {
                quoted.append(String.format("\\u%04x", (int) each));
            } else {
                quoted.append(each);
            }
        }
        return quoted.append('"').toString();
    }
}
