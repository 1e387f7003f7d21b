/** The two made-up people of the demo; their passwords are printed at the start. */
export const demoPeople = {
  author: { email: 'maren@pellow-isles.example', name: 'Maren Tarn', password: 'two tides a day' },
  reader: { email: 'ivo@pellow-isles.example', name: 'Ivo Fenn', password: 'all aboard please' },
} as const;
