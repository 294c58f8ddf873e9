<#-- All that ships with Pelluna of others, with its licence; without addresses. The root's NOTICE is a copy of what this makes. -->
Pelluna ships with work of others, each under its own licence. The text of a licence is in the file of the library, or beside the font.

Fonts
  Atkinson Hyperlegible Next, Atkinson Hyperlegible Mono, Bricolage Grotesque: OFL-1.1

In the browser
  Alpine.js 3.17.4 with its plugin Morph, Tailwind CSS 4 (what the stylesheet takes of it): MIT

Libraries in Java
<#list dependencyMap?sort_by(["key", "artifactId"]) as e>
  ${e.key.artifactId} ${e.key.version}: ${e.value?join(" / ")}
</#list>
