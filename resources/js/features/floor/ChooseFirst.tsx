import { useState } from 'react'
import type { Block } from '../../shared/api'
import { counted } from '../../shared/lib/counts'

/** What the client chooses from a menu, by its rules. */
export function ChooseFirst({ menu, onPick }: { menu: Block; onPick: (itemIds: number[]) => void }) {
  const [chosen, setChosen] = useState<number[]>([])
  const most = menu.pick ?? 1
  return (
    <section aria-label="Choose" className="floor-panel floor-choose">
      <h1 className="floor-big">
        Choose {most} of {menu.items.length}
      </h1>
      {menu.needs.map((need) => (
        <p key={need} className="tag look-here">
          {need}
        </p>
      ))}
      <div className="mt-3 grid gap-2">
        {menu.items.map((item) => {
          const isOn = chosen.includes(item.id)
          return (
            <label key={item.id} className={`floor-choice ${isOn ? 'floor-choice-on' : ''}`}>
              <input
                type="checkbox"
                className="checkbox"
                checked={isOn}
                disabled={!isOn && chosen.length >= most}
                onChange={() => setChosen(isOn ? chosen.filter((id) => id !== item.id) : [...chosen, item.id])}
              />
              <span>
                <span className="font-display block text-xl font-semibold">{item.name}</span>
                <span className="soft block">
                  {item.words} · {item.dose}
                </span>
              </span>
            </label>
          )
        })}
      </div>
      <button
        type="button"
        className="btn btn-primary btn-lg floor-main mt-3 h-17 w-full text-xl"
        disabled={chosen.length !== most}
        onClick={() => onPick(chosen)}
      >
        {chosen.length === most ? 'Do these' : `${counted(most - chosen.length, 'more', 'more')} to choose`}
      </button>
    </section>
  )
}
