/** A label that wants to stand at a height; heights grow downwards, as on a screen. */
export interface WantedLabel {
  wanted: number;
  height: number;
}

/**
 * Moves labels that stand beside each other in one column so that none overlaps and all lie within
 * the column, each as near to where it wants to be as its neighbours allow.
 * @param labels where each wants to stand and how high it is, in pixels
 * @param column its upper and lower end, in pixels
 * @returns the centre of each label, in the order given
 */
export function partLabels(
  labels: readonly WantedLabel[],
  column: { from: number; to: number },
): number[] {
  const order = labels.map((_, place) => place).sort((a, b) => at(labels, a) - at(labels, b));
  // Clusters of touching labels are centred on the mean of what their members want.
  const clusters: { members: number[]; height: number; centre: number }[] = [];
  for (const place of order) {
    const { height } = labels[place] as WantedLabel;
    let cluster = fit([place], height, at(labels, place), column);
    for (
      let above = clusters.at(-1);
      above && above.centre + above.height / 2 > cluster.centre - cluster.height / 2 + 1e-9;
      above = clusters.at(-1)
    ) {
      clusters.pop();
      const members = [...above.members, ...cluster.members];
      const mean = members.reduce((sum, member) => sum + at(labels, member), 0) / members.length;
      cluster = fit(members, above.height + cluster.height, mean, column);
    }
    clusters.push(cluster);
  }
  const centres = new Array<number>(labels.length);
  for (const { members, height, centre } of clusters) {
    let top = centre - height / 2;
    for (const member of members) {
      const own = (labels[member] as WantedLabel).height;
      centres[member] = top + own / 2;
      top += own;
    }
  }
  return centres;
}

const at = (labels: readonly WantedLabel[], place: number) => (labels[place] as WantedLabel).wanted;

function fit(
  members: number[],
  height: number,
  centre: number,
  { from, to }: { from: number; to: number },
) {
  const lowest = to - height / 2;
  return { members, height, centre: Math.max(from + height / 2, Math.min(centre, lowest)) };
}
