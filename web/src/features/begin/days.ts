/** A school year begins in September. Months are counted from 0. */
const SEPTEMBER = 8;

/** The year in which the school year of a day began; its last weeks of summer belong to the next. */
const startYear = (today: Date) => today.getFullYear() - (today.getMonth() >= SEPTEMBER - 1 ? 0 : 1);

/** A school year as most are, around a day. */
export function schoolYearAround(today: Date): { firstDay: string; lastDay: string } {
  const start = startYear(today);
  return { firstDay: `${start}-09-01`, lastDay: `${start + 1}-07-10` };
}

/** An exam at the end of next school year: two years is what most syllabi take. */
export const examYearFrom = (today: Date) => startYear(today) + 2;

/** The first of June, around which most exams are. */
export const examDayOf = (year: number) => (year >= 2020 && year <= 2099 ? `${year}-06-01` : '');
