import { Offered, type Takeable } from '../sentences';

interface AddToProps {
  list: string;
  offers: () => readonly Takeable[];
}

/** What can be added to one list of things. */
export const AddTo = ({ list, offers }: AddToProps) => (
  <Offered label={`Add to ${list}`} words="Add" placement="bottomRight" offers={offers} />
);
