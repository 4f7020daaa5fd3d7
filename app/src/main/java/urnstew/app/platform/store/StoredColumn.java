package urnstew.app.platform.store;

/**
 * A column that keeps documents.
 *
 * @param table its table
 * @param column its name
 * @param form of what it keeps
 */
public record StoredColumn(String table, String column, DocumentForm<?> form) {}
