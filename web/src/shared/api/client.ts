import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']
export type ReckonAnswer = Schemas['ReckonAnswer']
export type Finding = Schemas['FindingView']
export type LaidAside = Schemas['LaidAsideView']
export type BandPlan = Schemas['PlanView']
export type PlanFile = Schemas['PlanFileView']
export type Strip = Schemas['StripView']
export type ListView = Schemas['ListView']
/** A change of a list; `kind` says which. */
export type Edit = Schemas['EditRequest']
export type Row = Schemas['RowView']
export type Radio = Schemas['RadioView']
export type Job = Schemas['JobView']
export type Reached = Schemas['LineView']['reached']
export type Way = Schemas['LineView']['way']
export type RunningWork = Schemas['RunningWork']
export type Difference = Schemas['DifferenceView']
export type PlannedChange = Schemas['PlannedChange']
export type SlotChange = Schemas['SlotChange']
export type FitReport = Schemas['FitReportView']
export type Placement = Schemas['PlacementView']
export type Found = Schemas['FoundView']
export type Entry = Schemas['EntryView']
export type Place = Schemas['Place']
export type Trip = Schemas['TripView']
export type Import = Schemas['ImportView']
export type RadioDisplay = Schemas['Display']
export type FaceState = Schemas['FaceState']
export type FaceKeyPressed = Schemas['KeyRequest']['key']

/** What the server could not or would not do; the message is for the person. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly code: string,
    readonly status: number,
    /** What else the problem says, such as the faults of a text. */
    readonly details: Record<string, unknown> = {},
  ) {
    super(message)
  }
}

/** Told to the window when the password is asked for again. */
export const LOCKED = 'reckonrod-locked'

const LOST =
  'The server does not answer. What you typed is kept here; it is usually back in a moment. If not, check that Reckonrod still runs.'

const marks = new Map<string, string>()

/** From now on, changes of a list are answered with what differs from its view of that mark. */
export function knows(list: ListView) {
  marks.set(list.id, list.mark)
}

/** Says with the change of a list which view of it is here. */
function withMark(request: Request) {
  const list = /^\/api\/lists\/([^/]+)\//.exec(new URL(request.url).pathname)?.[1]
  const mark = list && request.method !== 'GET' ? marks.get(list) : undefined
  if (mark) request.headers.set('Known-List', mark)
  return request
}

export const api = createClient<paths>({
  baseUrl: '/',
  fetch: async (request) => {
    try {
      return await fetch(withMark(request))
    } catch (cause) {
      if (request.signal.aborted) throw cause
      throw new Problem(LOST, 'server-lost', 0)
    }
  },
})

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer, or the problem it carries, thrown. */
export async function unwrap<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer
  if (response.ok) return data as T
  if (response.status === 401) dispatchEvent(new Event(LOCKED))
  const problem = (error ?? {}) as { detail?: string; code?: string } & Record<string, unknown>
  throw new Problem(problem.detail ?? LOST, problem.code ?? 'unknown', response.status, problem)
}
