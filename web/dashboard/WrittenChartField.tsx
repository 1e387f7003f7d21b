import { Upload } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { WrittenChart } from '../../contract';
import { api, sayProblem } from '../api';
import { Button } from '../controls';

/** Reads in a chart that was written out as JSON, with its notes, and opens it on the bench. */
export function WrittenChartField({ dashboardId }: { dashboardId: number }) {
  const [readIn] = api.useReadInChartMutation();
  const [problem, setProblem] = useState('');
  const navigate = useNavigate();
  const read = async (file: File) => {
    setProblem('');
    let written: WrittenChart;
    try {
      written = JSON.parse(await file.text()) as WrittenChart;
    } catch {
      setProblem(`${file.name} is no JSON. Choose a chart that Stand Mark has written out.`);
      return;
    }
    try {
      const { id } = await readIn({ dashboardId, written }).unwrap();
      await navigate(`/dashboards/${dashboardId}/charts/${id}`);
    } catch (error) {
      setProblem(sayProblem(error));
    }
  };
  return (
    <div className="field written-chart">
      <span>Or read one in that was written out as JSON, with its notes</span>
      <Upload
        accept=".json,application/json"
        aria-label="Chart to read in"
        showUploadList={false}
        // What stands in it is what is pressed.
        hasControlInside
        beforeUpload={(file) => {
          void read(file);
          return false;
        }}
      >
        <Button>Choose its file</Button>
      </Upload>
      {problem && (
        <span className="problem" role="alert">
          {problem}
        </span>
      )}
    </div>
  );
}
