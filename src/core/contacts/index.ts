export * from './contacts';
export * from './contactText';
export * from './holdFact';
export * from './ruleText';
