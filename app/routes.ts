import { index, layout, type RouteConfig, route } from "@react-router/dev/routes";

export default [
  layout("routes/base/base.tsx", [
    layout("routes/frame/frame.tsx", [
      index("routes/shelf/shelf.tsx"),
      route("plan", "routes/plan/plan.tsx"),
      route("activities", "routes/activities/activities.tsx"),
      route("activities/new", "routes/activities/edit.tsx"),
      route("activities/:id", "routes/activities/activity.tsx"),
      route("activities/sitting/:material", "routes/activities/sitting.tsx"),
      route("day/:kind", "routes/sittings/day.tsx"),
      route("sittings/:id", "routes/sittings/sitting.tsx"),
      route("workbench", "routes/workbench/workbench.tsx"),
      route("prepare", "routes/prepare/prepare.tsx"),
      route("journal", "routes/journal/journal.tsx"),
      route("growing", "routes/growing/growing.tsx"),
      route("growing/summary", "routes/growing/summary.tsx"),
      route("growing/:skill", "routes/growing/skill.tsx"),
      route("reminders", "routes/reminders/reminders.tsx"),
      route("cupboard", "routes/cupboard/cupboard.tsx"),
      route("cupboard/gauge", "routes/cupboard/gauge.tsx"),
      route("household", "routes/household/household.tsx"),
      route("household/tables", "routes/tables/tables.tsx"),
      route("*", "routes/missing/missing.ts"),
    ]),
    route("show", "routes/show/show.tsx"),
    route("watch", "routes/watch/watch.tsx"),
  ]),
  route("run", "routes/run/run.ts"),
  route("start", "routes/start/start.tsx"),
  route("demo", "routes/start/demo.tsx"),
] satisfies RouteConfig;
