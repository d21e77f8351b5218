package app.zumbido.core.type;

/** Whether a role is set as it is written. */
public enum Capitals {
    AS_WRITTEN,
    ALL_CAPITALS
}
