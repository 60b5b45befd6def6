import { NavLink } from 'react-router';

const row = ({ isActive }: { isActive: boolean }) =>
  `flex items-baseline gap-2 rounded-md border-l-[3px] px-2.5 py-1.5 hover:bg-card ${isActive ? 'border-petrol bg-card font-semibold' : 'border-transparent'}`;

/** What a keeper looks after. */
export function KeeperPanel({ onGo }: { onGo: () => void }) {
  return (
    <nav aria-label="Contents">
      <p className="px-2.5 pb-1 font-head text-[16px] font-bold">The school</p>
      <NavLink to="/school" end className={row} onClick={onGo}>
        People and classes
      </NavLink>
      <NavLink to="/school-years" className={row} onClick={onGo}>
        School years
      </NavLink>
      <NavLink to="/school/book-patterns" className={row} onClick={onGo}>
        Books of the year
      </NavLink>
    </nav>
  );
}
