[
<#list dependencyMap as entry>
  {"name": "${entry.key.groupId}:${entry.key.artifactId}", "version": "${entry.key.version}", "identifier": "<#list entry.value as licence>${licence?json_string}<#sep>, </#list>", "text": ""}<#sep>,
</#list>
]
