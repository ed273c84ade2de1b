import { Button } from './button';

interface TickProps {
  readonly isOn: boolean;
  readonly onChange: (isOn: boolean) => void;
  readonly children: React.ReactNode;
}

/** Something that is so or not, as large as a thumb. */
export function Tick({ isOn, onChange, children }: TickProps) {
  return (
    <Button
      size="sm"
      role="checkbox"
      aria-checked={isOn}
      whiteSpace="normal"
      textAlign="start"
      bg={isOn ? 'leaf.soft' : 'tag'}
      onClick={() => onChange(!isOn)}
    >
      <span aria-hidden>{isOn ? '☑' : '☐'}</span> {children}
    </Button>
  );
}
