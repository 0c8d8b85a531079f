package reckonrod.core.finding;

/** How grave a finding is, gravest first. */
public enum Severity {
    /** Cannot be right. */
    ERROR,
    /** Look again. */
    DOUBT,
    /** Good to know. */
    NOTE
}
