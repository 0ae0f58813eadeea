<#list dependencyMap as one>
${one.key.groupId}:${one.key.artifactId}|${one.key.version}|<#list one.value as licence>${licence}<#sep>; </#sep></#list>
</#list>
