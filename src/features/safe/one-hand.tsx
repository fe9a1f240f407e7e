import * as say from '../../words/en/screens/safe'
/** One probe clipped on, one hand at work, the other behind the back: current never crosses the chest. */
export function OneHand() {
  return (
    <svg role="img" aria-label={say.oneLeadClipped} viewBox="0 0 104 112" className="w-full rounded-md bg-[#26313b]">
      <circle cx="40" cy="20" r="11" className="fill-[#b9c0c6]" />
      <path d="M28 36h24q6 0 6 6v34H22V42q0-6 6-6Z" className="fill-[#5d6871]" />
      <path d="M56 44l22 14" className="stroke-[#b9c0c6]" strokeWidth="8" strokeLinecap="round" />
      <path d="M24 44q-12 16 6 26" className="fill-none stroke-[#8d979f]" strokeWidth="8" strokeLinecap="round" strokeDasharray="1 0" />
      <path d="M78 58l12 8" className="stroke-[#d8884f]" strokeWidth="4" strokeLinecap="round" />
      <rect x="86" y="66" width="14" height="30" rx="3" className="fill-[#3a4650] stroke-[#cfd6db]" strokeWidth="1.5" />
      <circle cx="93" cy="74" r="3" className="fill-[#c7362b]" />
      <circle cx="93" cy="87" r="3" className="fill-[#15181b] stroke-[#cfd6db]" />
      <path d="M93 87q-20 16-52 8" className="fill-none stroke-[#15181b]" strokeWidth="2.5" />
      <path d="M86 82l-8 4 8 5" className="fill-[#e3b341]" />
    </svg>
  )
}
