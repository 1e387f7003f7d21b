import './people.css';
import { type ReactNode, useState } from 'react';
import { useDispatch } from 'react-redux';
import { Link, NavLink, useNavigate } from 'react-router';
import { api } from '../api';
import { Act, Menu } from '../hands';
import { Wordmark } from '../look';
import { forgetStills } from '../still';

interface TopBarProps {
  /** the way here, the last entry being this page */
  trail?: { label: string; to?: string }[];
  children?: ReactNode;
}

/** The bar over every page: where one is, what can be done here, who is signed in. */
export function TopBar({ trail = [], children }: TopBarProps) {
  const { data: session } = api.useSessionQuery();
  const [signOut] = api.useSignOutMutation();
  const dispatch = useDispatch();
  const goTo = useNavigate();
  const [open, setOpen] = useState(false);
  const leave = async () => {
    await signOut();
    await forgetStills();
    dispatch(api.util.resetApiState());
  };
  return (
    <header className="top-bar">
      <Wordmark />
      <nav className="trail" aria-label="Where you are">
        {trail.map(({ label, to }) => (
          <span key={label} className="trail-step">
            <span aria-hidden="true">/ </span>
            {to ? <Link to={to}>{label}</Link> : <span aria-current="page">{label}</span>}
          </span>
        ))}
      </nav>
      {/* On a phone all of this lies behind one word: the bar is one row. */}
      <Act className="bar-more" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Less' : 'More'}
      </Act>
      <div className={open ? 'bar-rest open' : 'bar-rest'}>
        {children}
        {session?.person && (
          <>
            <nav className="places" aria-label="Places">
              <NavLink to="/" end>
                Dashboards
              </NavLink>
              <NavLink to="/sources">Sources</NavLink>
            </nav>
            <Menu
              className="who"
              items={[
                { label: session.person.email },
                { label: 'Account', act: () => void goTo('/account') },
                ...(session.auditor
                  ? [{ label: 'What was done', act: () => void goTo('/audit') }]
                  : []),
                { label: 'Sign out', act: () => void leave() },
              ]}
            >
              {session.person.name}
            </Menu>
          </>
        )}
      </div>
    </header>
  );
}
