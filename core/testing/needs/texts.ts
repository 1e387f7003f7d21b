/** What practitioners do, each as a chart that is written as text. */
export const needs = {
  weekdays: `Stand Mark 1
Sailings by weekday
by the words of Day

Series
Sailings is an actual: the sum of Sailings in Weekdays

Yardsticks
Early is a line on the place "Tuesday", 0.5 wide
Late is a line on the place "Friday", 0.5 wide
Worst is a line where Sailings is lowest, 0.5 wide
`,
  years: `Stand Mark 1
Passengers by year
by the figures of Year

Series
Passengers is an actual: the sum of Passengers in Years, in indigo, 7 wide, with points as large as their figures, points in brick, points 6 to 18 across

Look
the value axis is titled "Passengers a year"
the value axis is written as 1,234.5, with 2 decimals
the axis beneath is titled "Year"
replayed with the words "{count} of {all}, {value} so far"
`,
  mean: `Stand Mark 1
Fares by month
by month

Series
Fares is an actual: the sum of Fares in Board

Yardsticks
"Mean of fares" is a line at the mean of Fares, shaded beneath, in plum, 0.75 wide

Look
the value axis is written as 1,234.5, with 1 decimal, in "£", the unit before
`,
  split: `Stand Mark 1
Fares below and above their targets
by month

Series
Fares is an actual: the sum of Fares in Board, in teal, smooth
Low is a target: 191 throughout, in grey, dashed, 0.5 wide
High is a target: 230 throughout, in grey, 0.5 wide

Colour rules
where Fares is over 230, draw it in indigo
where Fares is under 191, draw it in brick
`,
  panels: `Stand Mark 1
Fares by route
by month, in panels side by side

Series
Fares is an actual: the sum of Fares in Board, a line for each word of Route

Yardsticks
Today is a line "Days back" days before today, 3 wide, labelled in each panel

Dials
"Days back" is a number from 0 to 90, at 30, read as "days back"

Look
separators in ink
separators dashed
separators 2 wide
`,
  extremes: `Stand Mark 1
Fares by quarter
by quarter, from Jan 2026 to Sep 2026

Series
Fares is an actual: the sum of Fares in Board

Standouts
the highest of Fares, in indigo
the lowest of Fares, in brick
the first of Fares
the last of Fares
each point that (is at least the mean of Fares) of Fares, labelled with name
each point that (is over Threshold) of Fares, without a label

Dials
Threshold is a number from 0 to 900 in steps of 10, at 600
`,
  routes: `Stand Mark 1
Passengers against budget, route by route
by month, in panels in a grid

Series
Passengers is an actual: the sum of Passengers in Board, a line for each word of Route, in indigo, 3 wide
Budget is a budget: the sum of Budget in Board, a line for each word of Route, in ink, dashed
Passengers is to be at least Budget

Look
names in a legend
separators in grey
`,
  tile: `Stand Mark 1
Fares
by month

Series
Fares is an actual: the sum of Fares in Board

Standouts
the last of Fares, labelled with value

Look
without gridlines
without scales
without values beside the scale
without dates beneath the scale
`,
  thick: `Stand Mark 1
Fares against their target
by month

Series
Fares is an actual: the sum of Fares in Board, in indigo, solid, 5 wide
Target is a target: the sum of Budget in Board, in #b03a8c, dotted, 5 wide

Look
the value axis begins at the least figure
names in a legend
names in the colours of their lines, bold
`,
  ranges: `Stand Mark 1
Fares and fuel
by month

Series
Fares is an actual: the sum of Fares in Board
Fuel is an actual: the sum of Fuel in Board, on the second value axis

Yardsticks
Median is a line at the median of Fares, in plum, 2 wide, labelled "Half of all months {value}"
High is a line at the 80th percentile of Fares, shaded above
Low is a band from the mean of Fuel less 2 deviations, deviations of a population to the mean of Fuel less 1 deviation, deviations of a population, its edges labelled
Quarters is a set of 4 bands with equally many figures of Fuel in each
`,
  handover: `Stand Mark 1
Fares, and what is to come
by month, from Jan 2026 to Dec 2026

Series
Fares is an actual: the sum of Fares in Board, handed over to Forecast
Forecast is a forecast: the sum of Forecast in Forecast

Look
each date written whole
`,
  laid: `Stand Mark 1
Fares, year over year
by month, with its years laid over each other

Series
Fares is an actual: the sum of Fares in "Three years"

Colour rules
where Fares is over 90, draw it in its own colour, dotted, 4 wide
`,
  ports: `Stand Mark 1
Passengers by port
by year

Series
Passengers is an actual: the sum of Passengers in Ports, a line for each word of Port, coloured by Island, in ink "Port 7"
Reference is a target: 200 throughout

Look
opens with the lines "Port 7"
`,
  readings: `Stand Mark 1
Crossing times
by day

Series
Median is an actual: the median of Minutes in Crossings
Highest is a line: the 90th percentile of Minutes in Crossings, dotted
Lowest is a line: the 10th percentile of Minutes in Crossings, dotted

Yardsticks
Usual is a band between Lowest and Highest

Look
names in a legend
yardsticks in the legend too
`,
  slope: `Stand Mark 1
Passengers, {first period} to {last period}
by year, as a slope from any period to any period

Series
Passengers is an actual: the sum of Passengers in Ports, a line for each word of Port, all in one colour, in ink "Port 7" and "Port 12"
`,
} as const;
