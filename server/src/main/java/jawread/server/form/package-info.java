/**
 * The form of a feature as it was measured, and as {@link jawread.core.assess.MeasuredForm} judges it, shown:
 * {@link jawread.server.form.FormPictures} puts it into pictures, {@link jawread.server.form.FormFigureWords}
 * into a table, and {@link jawread.server.form.StoryWords} into one paragraph, with what {@link jawread.server.form.WearWords} and
 * {@link jawread.server.form.ReworkWords} add to it. Keeps nothing.
 */
package jawread.server.form;
